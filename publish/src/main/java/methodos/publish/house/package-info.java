/** How a company wants its documents to look. */
package methodos.publish.house;
