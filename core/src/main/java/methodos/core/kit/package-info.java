/** Which kits a job needs, what they cover, and what is ordered besides. */
package methodos.core.kit;
