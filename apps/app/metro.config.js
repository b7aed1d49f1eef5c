const { getDefaultConfig } = require('expo/metro-config');
const fs = require('node:fs');
const path = require('node:path');

const config = getDefaultConfig(__dirname);
const own = (...parts) => path.join(__dirname, ...parts);
const toolkit = path.dirname(require.resolve('@reduxjs/toolkit/package.json'));

// Icons are drawn from the few paths that are used, so that no icon font is shipped.
const icons = own('src', 'ui', 'Icon', 'PaperIcon.tsx');
const iconFonts = new Set([
  '@expo/vector-icons/MaterialCommunityIcons',
  '@react-native-vector-icons/material-design-icons',
  'react-native-vector-icons/MaterialCommunityIcons',
]);

/** What libraries bring along and the app never uses, by the end of its path, with what stands there instead. */
const instead = [
  ['expo-router/build/react-navigation/bottom-tabs/index.js', own('stubs', 'navigators.js')],
  ['expo-router/build/fork/native-stack/createNativeStackNavigator.js', own('stubs', 'navigators.js')],
  // Screens stand in slots: no stacks, no tabs, no previews of links.
  ...[
    'stack/index.js',
    'layouts/stack-utils/index.js',
    'layouts/Tabs.js',
    'link/preview/HrefPreview.js',
    'layouts/experimental-stack/index.js',
    'layouts/experimental-stack/index.web.js',
  ].map((file) => [`expo-router/build/${file}`, own('stubs', 'nothing.js')]),
  ['expo-router/vendor/react-helmet-async/lib/index.js', own('stubs', 'helmet.js')],
  [
    'react-native-web/dist/vendor/react-native/Animated/components/AnimatedFlatList.js',
    own('stubs', 'nothing.js'),
  ],
  [
    'react-native-web/dist/vendor/react-native/Animated/components/AnimatedSectionList.js',
    own('stubs', 'nothing.js'),
  ],
  ['react-native-paper/lib/module/styles/themes/v2/colors.js', own('stubs', 'paperColours.js')],
  ['expo-router/build/views/Sitemap.js', own('stubs', 'sitemap.js')],
  ['react-native-svg/lib/module/xml.js', own('stubs', 'nothing.js')],
  // In a browser a transform is handed on as it is written.
  ...['transform.js', 'transformToRn.js'].map((file) => [
    `react-native-svg/lib/module/lib/extract/${file}`,
    own('stubs', 'nothing.js'),
  ]),
  // Builds for browsers of today.
  ['toolkit/dist/query/rtk-query.legacy-esm.js', path.join(toolkit, 'dist', 'query', 'rtk-query.modern.mjs')],
  [
    'toolkit/dist/query/react/rtk-query-react.legacy-esm.js',
    path.join(toolkit, 'dist', 'query', 'react', 'rtk-query-react.modern.mjs'),
  ],
];
const lists = new Set(['./exports/FlatList', './exports/SectionList', './exports/VirtualizedList']);

/** Two versions of one package that are used alike: one of them is enough. */
const colour = path.dirname(
  require.resolve('color/package.json', {
    paths: [path.dirname(require.resolve('react-native-paper/package.json'))],
  }),
);

/** Asked for in both ways, by `import` and by `require`, these would come along twice. */
const once = new Map(
  [
    ['@reduxjs/toolkit', 'redux-toolkit.modern.mjs'],
    ['immer', 'immer.mjs'],
    ['redux', 'redux.mjs'],
    ['redux-thunk', 'redux-thunk.mjs'],
    ['reselect', 'reselect.mjs'],
  ].map(([name, file]) => [name, own('..', '..', 'node_modules', name, 'dist', file)]),
);

config.resolver.resolveRequest = (context, name, platform) => {
  if (iconFonts.has(name)) return { type: 'sourceFile', filePath: icons };
  if (once.has(name)) return { type: 'sourceFile', filePath: once.get(name) };
  if (name === 'color') return { type: 'sourceFile', filePath: path.join(colour, 'index.js') };
  // Long lists come with the screens that hold them: they import them by their own path (`ui/FlatList`).
  if (lists.has(name) && context.originModulePath.endsWith(path.join('react-native-web', 'dist', 'index.js')))
    return { type: 'sourceFile', filePath: own('stubs', 'nothing.js') };
  const found = context.resolveRequest(context, name, platform);
  const other = instead.find(([end]) => found.filePath?.split(path.sep).join('/').endsWith(end));
  return other ? { type: 'sourceFile', filePath: other[1] } : found;
};

/** These ask which script they are in, which only the running script can say. */
const atOnce = ['expo/src/winter', 'expo/src/async-require', '@expo/metro-runtime/src'].flatMap((folder) => {
  const [scope, ...rest] = folder.split('/');
  const named = scope.startsWith('@') ? `${scope}/${rest.shift()}` : scope;
  const root = path.join(path.dirname(require.resolve(`${named}/package.json`)), ...rest);
  return fs
    .readdirSync(root, { recursive: true, encoding: 'utf8' })
    .map((file) => [path.join(root, file), true]);
});

/** Asks for flags that a module of the tracker tells of when it runs. */
const flagged = [[own('src', 'workers', 'track', 'tracker.ts'), true]];

/** What moves the axis of time needs what its own imports add to selections when they run. */
const adding = [[own('..', '..', 'node_modules', 'd3-zoom', 'dist', 'd3-zoom.mjs'), true]];

// A module runs when something of it is first used: run all at once they hold up the first screen in one long task.
config.transformer.getTransformOptions = async () => ({
  transform: {
    experimentalImportSupport: false,
    inlineRequires: { blockList: Object.fromEntries([...atOnce, ...flagged, ...adding]) },
  },
});

config.transformer.minifierPath = own('minify.js');

// In development what the app asks the API goes to the server beside it.
if (process.env.API_URL) {
  const { createProxyMiddleware } = require('http-proxy-middleware');
  const proxy = createProxyMiddleware({ target: process.env.API_URL });
  const faces = require('./faces.json');
  config.server.enhanceMiddleware = (metro) => (request, response, next) => {
    if (request.url.startsWith('/api')) return proxy(request, response, next);
    const model = /^\/tracker\/([\d.]+\/[\w.-]+)$/.exec(request.url)?.[1];
    if (model) return fs.createReadStream(own('..', '..', '.data', 'tracker', model)).pipe(response);
    // The build puts the faces beside the page; here they come from where they are.
    const face = faces[/^\/fonts\/(\w+)\.ttf$/.exec(request.url)?.[1]];
    if (!face) return metro(request, response, next);
    response.setHeader('content-type', 'font/ttf');
    fs.createReadStream(require.resolve(`@expo-google-fonts/${face}`)).pipe(response);
  };
}

module.exports = config;
