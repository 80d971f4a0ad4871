/** The address of one thing in a room. Ids may hold signs that mean something in an address. */
const at = (room: string, key: string, id: string): string =>
  `/${room}?${key}=${encodeURIComponent(id)}`;

export const benchHref = (plantingId: string): string => at('bench', 'planting', plantingId);
export const pottingHref = (plantingId: string): string => at('potting', 'planting', plantingId);
export const diaryHref = (plantingId: string): string => at('diary', 'planting', plantingId);
export const spotHref = (spotId: string): string => at('spot', 'spot', spotId);
export const shelfHref = (itemId: string): string => at('shelf', 'item', itemId);
export const terraceHref = (groupId: string): string => at('terrace', 'group', groupId);
export const plantHref = (kindId: string): string => at('plants', 'kind', kindId);
export const startHref = (key: 'spot' | 'container', id: string): string => at('start', key, id);
