/** Headers that the front sets for the handlers behind it; what comes in under these names is thrown away. */
export const ADDRESS_HEADER = 'x-vast-cleat-address';
export const REQUEST_ID_HEADER = 'x-request-id';
export const SECURE_HEADER = 'x-vast-cleat-secure';
