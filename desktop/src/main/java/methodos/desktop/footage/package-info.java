/** The place Footage: clips, their film strips, captions and scans. */
package methodos.desktop.footage;
