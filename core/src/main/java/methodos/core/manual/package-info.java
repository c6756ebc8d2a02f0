/**
 * The manual as a value: its steps, parts, joints, figures and all else that it says. Nothing here
 * computes or stores.
 */
package methodos.core.manual;
