/** What mends a finding: the edits that are proposed beside it. */
package methodos.core.repair;
