/** Sheets that are pulled out of an instruction: for the stores, the bench, the wall, the class. */
package methodos.publish.sheet;
