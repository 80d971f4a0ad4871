import type { CheckId } from '@/core/checks/rules/index';

/** What a check is about, in a few words: for turning it down, and for the page on scores. */
export const CHECK_NAMES: Readonly<Record<CheckId, string>> = {
  light: 'hours of sun', thirst: 'one watering for all', cold: 'frost when planted', reach: 'harm within reach', edible: 'poison beside food', 'root-balls': 'room for root balls', drainage: 'a hole for water',
  bully: 'neighbours swallowed', crowding: 'too many', fullness: 'full when wished', proportion: 'height against the pot', 'trail-length': 'length of trails', roles: 'parts of the school', 'lead-place': 'where the lead stands',
  balance: 'balance and bare rim', scheme: 'the colour scheme', 'pot-contrast': 'trails against the pot', background: 'what is behind', texture: 'difference of leaves', neighbours: 'like colours together', echo: 'echoes of colour',
  budget: 'money', weight: 'weight', tipping: 'wind', 'pot-frost': 'frost and the pot', 'root-heat': 'heat at the roots', mix: 'the mix', 'root-depth': 'depth for roots', gloves: 'gloves', support: 'stakes and climbing',
  'runs-wild': 'running wild', 'money-seen': 'plants nobody sees', sightline: 'height over a sill', muddle: 'a muddle of green leaves', interest: 'something in every week', silhouette: 'steps of height', evenness: 'an even dome',
  frame: 'a frame through winter', pairs: 'pairs that match', 'edge-place': 'trailers at the rim', 'dark-light': 'dark beside light', sparkle: 'sparkle', 'colour-sight': 'colour-blind eyes', 'spill-room': 'room to spill',
  rain: 'rain that reaches it', hardening: 'hardening off', spares: 'plants left over', 'second-choice': 'second choices', handling: 'usual cautions',
};
