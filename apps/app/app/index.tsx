export { Today as default } from '../src/features/today/Today';
