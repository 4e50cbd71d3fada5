export const screenWidths = [480, 960, 1600];
/** Under this width a picture blurs where it stands large. */
export const enoughPixels = 800;
