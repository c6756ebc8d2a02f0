/**
 * Quantities as people write them, their units, exact conversion with safe rounding, and whether
 * two of them agree. Factors from the SI brochure and the definitions of 1959.
 */
package methodos.core.quantity;
