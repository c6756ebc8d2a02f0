/** Recordings: probed, read frame by frame, scanned and cut. The only room that knows of FFmpeg. */
package methodos.footage;
