export { meant, pictureSrc, planOfSheet, shownOf, type Picture, type Shown } from "./pictures";
export { PictureView, type Spot } from "./PictureView";
