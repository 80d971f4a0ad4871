/** Nothing in a container is asked to stand higher over the mix, cm. */
export const HIGHEST_CM = 400;
