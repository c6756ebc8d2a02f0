/** Two pictures of one scene: how the camera moved between them. */
package methodos.footage.match;
