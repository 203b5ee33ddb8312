/** What the application says about itself. */
@NullMarked
package {{package}}.{{samplePackage}};

import org.jspecify.annotations.NullMarked;
