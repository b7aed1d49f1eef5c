// Paper's own plugin knows its components but not its two themes, and one miss pulls in the whole library.
const known = require('react-native-paper/lib/mappings.json');
const themes = 'lib/module/styles/themes';
module.exports = {
  ...known,
  mappings: {
    ...known.mappings,
    MD3LightTheme: { path: `${themes}/v3/LightTheme`, name: 'MD3LightTheme' },
    MD3DarkTheme: { path: `${themes}/v3/DarkTheme`, name: 'MD3DarkTheme' },
  },
};
