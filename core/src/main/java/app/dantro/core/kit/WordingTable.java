package app.dantro.core.kit;

/** One line for each point and part of the ready-made circuits. */
final class WordingTable {
    /** id | name as spoken | label on the profile | where exactly the tip goes | access. */
    static final String POINTS = """
            post-plus | battery + post | + post | the + post itself, not the clamp | OPEN
            post-minus | battery − post | − post | the − post itself, not the clamp | OPEN
            clamp-plus | + clamp | + clamp | the + clamp's own metal | OPEN
            clamp-minus | − clamp | − clamp | the − clamp's own metal | OPEN
            cable-end-battery | starter cable, battery end | cable end | the bare wire behind the + clamp's crimp | OPEN
            cable-end-starter | starter cable, starter end | starter end | the cable's ring at the starter | TIGHT
            battery-stud | starter battery stud | battery stud | the thread of the starter's battery stud, not nut or ring | TIGHT
            motor-stud | motor stud | motor stud | the stud between solenoid and motor | FROM_BELOW
            starter-case | starter case | case | bare metal of the starter's case | TIGHT
            trigger | solenoid trigger terminal | trigger | the small terminal of the solenoid | TIGHT
            block | engine block | block | the bare block, beside the ground bolt | REACHABLE
            ground-cable-block | ground cable ring on the block | ring, block | the ground cable's ring on the block | REACHABLE
            ground-cable-battery | ground cable, battery end | cable end | the bare wire behind the − clamp's crimp | OPEN
            strap-engine | strap ring on the block | strap, block | the strap's ring on the block, not the bolt | REACHABLE
            strap-body | strap ring on the body | strap, body | the strap's ring on the body, not the bolt | REACHABLE
            body | body | body | bare body metal between the two ground bolts | OPEN
            ground-cable-body | ground cable ring on the body | ring, body | the ground cable's ring on the body | OPEN
            lead-clamp | body lead, battery end | body lead | the body lead's own ring on the − clamp | OPEN
            lead-body | body lead ring on the body | lead, body | the body lead's ring on the body, not the bolt | OPEN
            bplus | alternator B+ stud | B+ stud | the thread of the B+ stud, not the nut | REACHABLE
            charge-ring | charge cable ring at B+ | ring, B+ | the cable's ring under the B+ nut | REACHABLE
            charge-end | charge cable, far end | cable end | the ring at the far end of the charge cable | REACHABLE
            fuse-in | large fuse, input | fuse in | the fuse's own blade or bolt, B+ side | OPEN
            fuse-out | large fuse, output | fuse out | the fuse's own blade or bolt, battery side | OPEN
            feed-end | feed cable, fuse box end | feed, box | the feed cable's ring in the fuse box | OPEN
            feed-ring | feed cable, battery end | feed ring | the feed cable's ring on the + clamp | OPEN
            box | fuse box supply rail | fuse box | the bare rail in the fuse box | OPEN
            alternator-case | alternator case | case | bare metal of the alternator's case | REACHABLE
            bracket | alternator bracket | bracket | the bare bracket beside its bolt | REACHABLE
            switch-in | ignition switch, feed | switch in | the feed terminal at the ignition switch | TIGHT
            switch-out | ignition switch, start output | switch out | the start terminal at the ignition switch | TIGHT
            interlock-out | interlock, output | interlock | the output of the clutch or neutral switch | REACHABLE
            relay-out | start relay, output | relay out | the relay's output terminal | OPEN
            sense-pin | alternator sense pin | sense pin | the sense pin, back-probed | REACHABLE
            computer-ground | engine computer ground pin | computer ground | the computer's ground pin, back-probed | TIGHT
            regulator-feed | regulator ignition feed | regulator feed | the feed terminal of the regulator | REACHABLE
            regulator-case | regulator case | regulator case | bare metal of the regulator's own case | REACHABLE
            post-plus-a | lower battery + post | lower + post | the lower battery's + post itself | OPEN
            post-minus-upper | upper battery − post | upper − post | the upper battery's − post itself | OPEN
            post-minus-b | second battery − post | second − post | the second battery's − post itself | OPEN
            post-plus-b | second battery + post | second + post | the second battery's + post itself | OPEN
            link-plus-ring | + link, first battery | + link | the link's own ring on the first + clamp | OPEN
            link-plus-end | + link, second battery | + link, far | the link's clamp on the second + post | OPEN
            link-minus-ring | − link, first battery | − link | the link's own ring on the first − clamp | OPEN
            link-minus-end | − link, second battery | − link, far | the link's clamp on the second − post | OPEN
            series-link-a | series link, lower end | link, lower | the link's clamp on the lower + post | OPEN
            series-link-b | series link, upper end | link, upper | the link's clamp on the upper − post | OPEN
            master-in | master switch, battery side | switch, in | the stud on the battery's side of the switch | REACHABLE
            master-out | master switch, vehicle side | switch, out | the stud on the vehicle's side of the switch | REACHABLE
            body-cable-end | body cable, front end | body cable | the front ring of the cable from the battery | REACHABLE
            junction-cable-end | junction cable, battery end | junction cable | the junction cable's ring on the + clamp | OPEN
            junction-post | junction post | junction | the thread of the junction post | OPEN
            starter-ring-junction | starter cable ring on the junction | ring, junction | the starter cable's ring on the junction post | OPEN
            remote-post | remote post | remote post | the jump-start post's own metal | OPEN
            regulator-output | rectifier-regulator output | output | the output pin of the rectifier-regulator, back-probed | REACHABLE
            regulator-ground | rectifier-regulator ground | ground pin | the ground pin of the rectifier-regulator, back-probed | REACHABLE
            frame-ring | rectifier-regulator ground ring | frame ring | the ground wire's ring on the frame, not the bolt | REACHABLE
            output-wire | output wire, plug side | output wire | the wire behind the plug | REACHABLE
            ground-wire | ground wire, plug side | ground wire | the wire behind the plug | REACHABLE
            glow-rail | glow plug rail | glow rail | the bare rail on the glow plugs | REACHABLE
            """;

    /** id | name as spoken with an article in front. */
    static final String PARTS = """
            post-joint-plus | joint of + clamp and post
            crimp-battery | cable end in the + clamp
            starter-cable | starter cable
            stud-joint | cable end on the battery stud
            contacts | solenoid contacts
            starter-mount | starter mount
            ground-joint-block | ground cable end on the block
            ground-cable | ground cable
            crimp-ground | cable end in the − clamp
            post-joint-minus | joint of − clamp and post
            strap-end-block | strap end on the block
            engine-strap | engine strap
            strap-end-body | strap end on the body
            ground-joint-body | ground cable end on the body
            lead-joint-clamp | body lead end on the − clamp
            body-lead | body lead
            lead-joint-body | body lead end on the body
            bplus-nut | B+ nut joint
            charge-cable | charge cable
            fuse-joint-in | charge cable end at the fuse
            charge-fuse | large fuse
            fuse-joint-out | feed cable end at the fuse
            feed-cable | feed cable
            feed-joint | feed cable end on the + clamp
            charge-joint-battery | charge cable end on the + clamp
            charge-joint-stud | charge cable end on the battery stud
            charge-joint-junction | charge cable end on the junction post
            fusible-link | fusible link
            link-joint-clamp | fusible link end on the + clamp
            junction-cable | junction cable
            junction-joint-battery | junction cable end on the + clamp
            alternator-mount | alternator mount
            bracket-joint | bracket bolts on the block
            switch-feed | ignition switch feed
            ignition-switch | ignition switch
            interlock | clutch or neutral switch
            start-relay | start relay
            control-wire | start control wire
            sense-wire | sense wire
            computer-ground-wire | engine computer ground wire
            regulator-feed-wire | regulator feed wire
            regulator-ground-wire | regulator ground wire
            link-joint-plus | + link joint on the clamp
            link-plus | + link cable
            second-joint-plus | joint of + link and second post
            link-joint-minus | − link joint on the clamp
            link-minus | − link cable
            second-joint-minus | joint of − link and second post
            series-joint-a | joint of series link and lower post
            series-link | series link
            series-joint-b | joint of series link and upper post
            battery-cable | battery cable
            master-switch | master switch
            switch-joint | starter cable end on the master switch
            body-cable | body cable
            junction-joint-in | body cable end on the junction post
            junction-joint-out | starter cable end on the junction post
            remote-cable | remote post cable
            output-plug | output pin in the plug
            ground-plug | ground pin in the plug
            frame-ground | frame ground of the rectifier-regulator
            charge-wire | charge wire
            ground-lead | rectifier-regulator ground wire
            glow-feed | glow plug feed
            """;

    private WordingTable() {}
}
