package app.gradior.testing; class B {}
