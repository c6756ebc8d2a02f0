/**
 * Torques: whether they are plausible for their thread, what each screw bears, and which wrenches
 * reach them.
 */
package methodos.core.torque;
