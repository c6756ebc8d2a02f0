/** What is seen and heard in a clip frame by frame, and which stills of it are the clearest. */
package methodos.core.scan;
