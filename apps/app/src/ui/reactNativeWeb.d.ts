declare module 'react-native-web/dist/exports/FlatList' {
  const WebList: unknown;
  export default WebList;
}
