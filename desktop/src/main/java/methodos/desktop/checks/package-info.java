/** The place Checks: findings with what mends them, and the ledger as a drawing. */
package methodos.desktop.checks;
