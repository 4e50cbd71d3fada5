export { hashBytes, largestPicture, missingPictures, readPicture } from './read';
export { type MadePicture } from './art';
