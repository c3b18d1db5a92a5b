package app.gradior; class GradiorApplication { public static void main(String[] a) {} }
