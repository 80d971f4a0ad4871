import next from 'eslint-config-next/core-web-vitals';
import typescript from 'eslint-config-next/typescript';

/** Inside core, from ground to roof. A room may import from rooms above it in this list, never from those below. */
const CORE = [
  ['units', 'random', 'geometry', 'colour', 'records', 'work'],
  ['meeting'],
  ['sky', 'climate'],
  ['calendar'],
  ['plants', 'containers', 'spots'],
  ['plantings'],
  ['shelf', 'log'],
  ['growth', 'water'],
  ['suitability'],
  ['marks'],
  ['placing', 'potting'],
  ['shopping', 'schools'],
  ['checks'],
  ['seeing'],
  ['search', 'stencil'],
  ['making', 'care', 'learning'],
  ['diary'],
  ['files'],
];

const coreRules = CORE.map((rooms, floor) => {
  const above = CORE.slice(floor + 1).flat();
  return {
    files: rooms.map((room) => `src/core/${room}/**/*.ts`),
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['@/*', 'react', 'react-dom', 'next', 'next/*', 'dexie', 'dexie-*'],
              message: 'The core knows nothing of interface, storage or framework.',
            },
            ...(above.length > 0
              ? [
                  {
                    group: above.flatMap((room) => [`../${room}/*`, `../../${room}/*`]),
                    message: 'Inside core, imports go from roof to ground.',
                  },
                ]
              : []),
          ],
        },
      ],
    },
  };
});

const room = (name, mayNot) => ({
  files: [`src/${name}/**/*.{ts,tsx}`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            group: mayNot.map((other) => `@/${other}/*`),
            message: `${name} lies below ${mayNot.join(', ')}.`,
          },
        ],
      },
    ],
  },
});

const config = [
  {
    ignores: [
      '.next/**',
      'node_modules/**',
      'next-env.d.ts',
      'tmp/**',
      'test-results/**',
      'bench/out/**',
      'public/sw.js',
    ],
  },
  ...next,
  ...typescript,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
    },
  },
  ...coreRules,
  room('words', ['ui', 'app', 'data', 'workers', 'drawing', 'cli', 'demo']),
  room('drawing', ['ui', 'app', 'data', 'workers', 'words', 'cli', 'demo']),
  room('data', ['ui', 'app', 'workers', 'drawing', 'cli', 'demo']),
  room('workers', ['ui', 'app', 'data', 'cli', 'demo']),
  room('demo', ['ui', 'app', 'data', 'workers', 'cli']),
  room('ui', ['app', 'cli']),
  // What is pressed, chosen and opened is made in one place.
  {
    files: ['src/ui/**/*.tsx', 'src/app/**/*.tsx'],
    ignores: ['src/ui/controls/**', '**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'JSXOpeningElement[name.name=/^(button|select|details)$/]',
          message: 'Use the controls of src/ui/controls: Button, Select, More.',
        },
      ],
    },
  },
  {
    files: ['src/ui/**/*.tsx', 'src/app/**/*.tsx'],
    ignores: ['src/ui/controls/RoomLink.tsx'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        { paths: [{ name: 'next/link', message: 'Use RoomLink of src/ui/controls.' }] },
      ],
    },
  },
  // Tests may build from any room, and watch what a component renders.
  {
    files: ['src/**/*.test.{ts,tsx}'],
    rules: { 'no-restricted-imports': 'off', 'react-hooks/globals': 'off' },
  },
];

export default config;
