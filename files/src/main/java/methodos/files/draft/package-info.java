/** Drafts as JSON, and a company's own word lists. */
package methodos.files.draft;
