const { getDefaultConfig } = require('expo/metro-config');
const path = require('node:path');

const config = getDefaultConfig(__dirname);

// Icons are drawn from the few paths that are used, so that no icon font is shipped.
const icons = path.join(__dirname, 'src', 'ui', 'PaperIcon.tsx');
const iconFonts = new Set([
  '@expo/vector-icons/MaterialCommunityIcons',
  '@react-native-vector-icons/material-design-icons',
  'react-native-vector-icons/MaterialCommunityIcons',
]);

config.resolver.resolveRequest = (context, name, platform) =>
  iconFonts.has(name)
    ? { type: 'sourceFile', filePath: icons }
    : context.resolveRequest(context, name, platform);

module.exports = config;
