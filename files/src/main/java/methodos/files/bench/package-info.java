/** Records of bench runs on disk: sealed line by line, and kept with the manual worked by. */
package methodos.files.bench;
