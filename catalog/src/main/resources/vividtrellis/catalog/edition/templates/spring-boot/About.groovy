package {{package}}.{{samplePackage}}

import groovy.transform.Immutable

/** What the service says of itself. */
@Immutable
class About {

    String name
    String summary
}
