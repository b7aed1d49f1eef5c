export { Office as default } from '../src/features/office/Office';
