/** A manual as a document: PDF and HTML, each whole or not at all. */
package methodos.publish.document;
