/** What the service for parts numbers says about the numbers of a manual. */
package methodos.core.parts;
