import { LARGEST_PHOTO_BYTES, smallPhoto } from './photo';

const file = (name: string, bytes: number): File => {
  const made = new File(['x'], name);
  Object.defineProperty(made, 'size', { value: bytes });
  return made;
};
const refused = async (one: File): Promise<string> => {
  try {
    await smallPhoto(one);
    return 'taken';
  } catch (error) {
    return error instanceof Error && error.name === 'NoPhoto' ? error.message : 'something else';
  }
};

test('what is too large is not opened, and what this browser cannot read is refused by name, each with its reason', async () => {
  const open = jest.fn(() => Promise.reject(new DOMException('no', 'InvalidStateError')));
  Object.assign(globalThis, { createImageBitmap: open });
  expect(await refused(file('pot.jpg', LARGEST_PHOTO_BYTES + 1))).toMatch(
    /^pot\.jpg has 60 MB; .*60 MB at most/,
  );
  expect(await refused(file('pot.jpg', 104_000_000))).toContain('pot.jpg has 104 MB');
  expect(open).not.toHaveBeenCalled();
  expect(await refused(file('pot.jpg', LARGEST_PHOTO_BYTES))).toContain('pot.jpg is no picture');
  expect(await refused(file('IMG_1.HEIC', 2_000_000))).toContain('Save it as JPEG first');
});
