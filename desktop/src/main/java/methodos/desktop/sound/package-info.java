/** The sound of a clip, played with its pictures. */
package methodos.desktop.sound;
