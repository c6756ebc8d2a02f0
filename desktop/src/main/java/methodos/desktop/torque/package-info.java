/**
 * The place Torque: joints, their values in both systems, orders of tightening, wrenches and
 * limits.
 */
package methodos.desktop.torque;
