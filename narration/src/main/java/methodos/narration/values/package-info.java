/** Which quantities are said, what each of them is, and to which statement it belongs. */
package methodos.narration.values;
