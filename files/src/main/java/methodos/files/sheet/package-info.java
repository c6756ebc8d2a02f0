/** Tables read from CSV and XLSX within limits, and written. */
package methodos.files.sheet;
