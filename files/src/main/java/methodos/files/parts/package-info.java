/** A parts service that answers from a folder. */
package methodos.files.parts;
