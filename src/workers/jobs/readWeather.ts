import type { Handler } from './desk';

/** Daily weather from the text of a table. Its reader is fetched when it is first needed. */
export const readWeather: Handler<'readWeather'> = async ({ text, answers }, { run }) => {
  const { readingWeatherCsv } = await import('@/core/files/weatherCsv');
  return run(readingWeatherCsv(text, answers));
};
