/** Whether all that is said and shown in the footage has found its way into the manual. */
package methodos.core.coverage;
