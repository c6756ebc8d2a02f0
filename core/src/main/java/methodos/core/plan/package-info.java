/** How long a work takes, who does what of it and when, and what nobody has to wait for. */
package methodos.core.plan;
