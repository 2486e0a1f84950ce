#!/usr/bin/env bash
# Installs the .deb in a clean Debian made for it (debootstrap, as root) and opens its window there under Xvfb on the demo job.
# usage: tools/try_deb.sh dist/firm-cell_VERSION_ARCH.deb [FOLDER of the chroot, else a temporary one]
set -euo pipefail
package="$(readlink -f "$1")"
clean="${2:-$(mktemp -d)/debian}"
suite="$(. /etc/os-release && echo "$VERSION_CODENAME")"
mirror="$(apt-get indextargets --format '$(SITE)' 'Created-By: Packages' | head -n 1)"
if [ ! -d "$clean/usr" ]; then debootstrap --variant=minbase "$suite" "$clean" "$mirror" >/dev/null; fi
# The same way to the packages as this machine has.
cp -r /etc/apt/apt.conf.d/. "$clean/etc/apt/apt.conf.d/"
cp /etc/resolv.conf "$clean/etc/resolv.conf" 2>/dev/null || true
mount -t proc proc "$clean/proc" 2>/dev/null && trap 'umount "$clean/proc"' EXIT
cp "$package" "$clean/root/firm-cell.deb"
inside() { chroot "$clean" /usr/bin/env -i PATH=/usr/sbin:/usr/bin:/sbin:/bin HOME=/root LANG=C.UTF-8 DEBIAN_FRONTEND=noninteractive "$@"; }
inside apt-get update -qq
inside apt-get install -y -qq --no-install-recommends /root/firm-cell.deb xvfb xauth desktop-file-utils shared-mime-info >/dev/null
inside firm-cell --version
inside firm-cell wire --current 10 --length "1 m" >/dev/null
inside desktop-file-validate /usr/share/applications/firm-cell.desktop
inside sh -c 'xvfb-run -a env FIRMCELL_QUIT_WHEN_PAINTED=1 firm-cell --demo && echo "the window was painted"'
inside firm-cell analyse /root/.local/share/firm-cell/demo/orchard-hoist.firmcell | head -n 3
inside apt-get remove -y -qq firm-cell >/dev/null
[ ! -e "$clean/opt/firm-cell" ] && [ ! -e "$clean/usr/bin/firm-cell" ] && echo "nothing is left after removing it"
