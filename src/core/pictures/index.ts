export { hashBytes, largestPicture, missingPictures, readPicture } from './read';
