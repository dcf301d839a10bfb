/**
 * What files are. {@link app.blenner.core.media.FileTypes} tells the type of one by its bytes, {@link
 * app.blenner.core.media.FileType} lists those that a site can hold. {@link app.blenner.core.media.PictureData} takes out of
 * a picture's file what is not picture.
 */
package app.blenner.core.media;
