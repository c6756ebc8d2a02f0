/** Earlier states of the manual: looked at, compared, taken back. */
package methodos.desktop.history;
