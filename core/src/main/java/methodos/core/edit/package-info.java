/**
 * What can be done to a manual, each as one edit that can be undone: steps, figures, joints, lists,
 * drafts.
 */
package methodos.core.edit;
