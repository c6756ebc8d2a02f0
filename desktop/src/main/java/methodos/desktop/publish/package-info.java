/** The place Publish: what is published, how far it is, and what went wrong. */
package methodos.desktop.publish;
