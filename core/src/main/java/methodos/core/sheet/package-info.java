/** Lists of parts, tools, kits and torques as tables, taken in row by row and given out again. */
package methodos.core.sheet;
