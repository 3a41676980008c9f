/** The header in which the server in front says which page is asked for. */
export const PATH_HEADER = "x-jumelle-path";
