/** Decisions and fault finding: written, and tried out with readings. */
package methodos.desktop.decision;
