/** Whether instructions are plain: short sentences, the verb first, each part by one name. */
package methodos.core.language;
