/** From a fault to its causes and what tells them apart. */
package methodos.core.fault;
