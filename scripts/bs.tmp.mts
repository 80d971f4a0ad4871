import { benchSearch } from './benchSearch.mts';
console.log(JSON.stringify(await benchSearch(), null, 1));
