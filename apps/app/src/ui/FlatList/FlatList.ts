import type { FlatList as NativeList } from 'react-native';
import WebList from 'react-native-web/dist/exports/FlatList';

/** The long list, by its own path, so that it comes with the screens that hold one and not with the first script. */
export const FlatList = WebList as unknown as typeof NativeList;
export type FlatList<T> = NativeList<T>;
