// Of the colours of Material Design 2, those that parts of Material Design 3 still ask for.
module.exports = {
  black: '#000000',
  white: '#ffffff',
  transparent: 'transparent',
  grey50: '#fafafa',
  grey200: '#eeeeee',
  grey400: '#bdbdbd',
  grey700: '#616161',
  grey800: '#424242',
  pinkA100: '#ff80ab',
  red800: '#c62828',
};
