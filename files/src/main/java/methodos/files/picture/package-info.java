/** Pictures and drawings read from files, within limits of size. */
package methodos.files.picture;
