// For the tests; the app has its own.
module.exports = (api) => {
  api.cache(true);
  return { presets: ['babel-preset-expo'] };
};
