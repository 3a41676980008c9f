export const DESIGNATOR = /^[A-Z]{1,3}\d{1,3}[A-Z]?$/;
