/** Reads how a sauce is made: a recipe's text, or somebody talking while they cook, into lines and stages. */
@org.jspecify.annotations.NullMarked
package app.gradior.method;
