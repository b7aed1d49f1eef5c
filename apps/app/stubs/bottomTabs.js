// The router's tab bar is not used; two of its own views ask for the height of one.
const { createContext } = require('react');

exports.BottomTabBarHeightContext = createContext(undefined);
exports.createBottomTabNavigator = () => ({});
