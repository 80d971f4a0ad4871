import { render, screen } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import Stumbled from './error';

let address = '/';
jest.mock('next/navigation', () => ({ usePathname: () => address }));

test.each([
  ['/bench', 'The bench stumbled'],
  ['/plants', 'The plant book stumbled'],
  ['/', 'The yard stumbled'],
])('the room at %s is named, says what went wrong and can be tried again', async (at, heading) => {
  address = at;
  const onRetry = jest.fn();
  render(<Stumbled error={new Error('a shelf too far')} reset={onRetry} />);
  expect(screen.getByRole('heading', { name: heading })).toBeInTheDocument();
  expect(screen.getByText(/a shelf too far/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Try once more' }));
  expect(onRetry).toHaveBeenCalledTimes(1);
  expect(screen.getByRole('button', { name: 'Save all that is stored' })).toBeEnabled();
});
