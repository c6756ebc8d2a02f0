/** Points of a picture followed through the film that it was taken from. */
package methodos.footage.track;
