/** The build-up drafted from the take-down, in reverse within what covers what. */
package methodos.core.reverse;
