/** Captions read from the files that people have: WebVTT, SubRip and plain text. */
package methodos.files.captions;
