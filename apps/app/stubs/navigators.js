// The router's tab bar and its stack of pages are not used; two of its own views ask for the height of a bar.
const { createContext } = require('react');

exports.BottomTabBarHeightContext = createContext(undefined);
exports.createBottomTabNavigator = () => ({});
exports.createNativeStackNavigator = () => ({ Navigator: () => null });
