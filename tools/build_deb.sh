#!/usr/bin/env bash
# Builds dist/firm-cell_VERSION_ARCH.deb: the program and the packages of requirements.lock under /opt/firm-cell, run by Debian's own
# Python; its command, man page, completions, desktop entry, icons, file type and metainfo where a desktop looks for them.
# The same commit gives the same package: times are those of the commit, names are in order.
set -euo pipefail
here="$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")/.." && pwd)"
cd "$here"
python="${PYTHON:-python3}"
version="$(sed -n 's/^version = "\(.*\)"/\1/p' pyproject.toml | head -n 1)"
architecture="$(dpkg --print-architecture)"
abi="$("$python" -c 'import sys; print("%d.%d" % sys.version_info[:2])')"
export SOURCE_DATE_EPOCH="${SOURCE_DATE_EPOCH:-$(git log -1 --format=%ct 2>/dev/null || echo 1735689600)}"
work="$(mktemp -d)"
trap 'rm -rf "$work"' EXIT
root="$work/root"
library="$root/opt/firm-cell/lib"
data="src/firmcell/data"

"$python" -m venv "$work/venv"
"$work/venv/bin/python" -m pip install -q --disable-pip-version-check --no-compile --require-hashes --only-binary :all: \
    --target "$library" -r requirements.lock
"$work/venv/bin/python" -m pip install -q --disable-pip-version-check --no-compile --no-deps --target "$library" "$here"
# Made anew where it is installed; what says where it was built is not of the program.
find "$library" -name __pycache__ -prune -exec rm -rf {} +
rm -rf "$library/bin"
find "$library" -name direct_url.json -delete
find "$library" -name RECORD -delete

install -d "$root/usr/bin" "$root/usr/share/doc/firm-cell"
cat >"$root/usr/bin/firm-cell" <<'LAUNCHER'
#!/bin/sh
# Debian's own Python, with the packages that came along and none of the user's.
exec /usr/bin/python3 -s -c 'import sys; sys.path.insert(0, "/opt/firm-cell/lib"); from firmcell.__main__ import run; run()' "$@"
LAUNCHER
chmod 755 "$root/usr/bin/firm-cell"
put() { install -D -m 644 "$1" "$root/usr/share/$2"; }
put "$data/desktop/firm-cell.desktop" applications/firm-cell.desktop
put "$data/desktop/firm-cell.svg" icons/hicolor/scalable/apps/firm-cell.svg
put "$data/desktop/firm-cell.svg" icons/hicolor/scalable/mimetypes/application-x-firmcell-job.svg
put "$data/desktop/firm-cell-mime.xml" mime/packages/firm-cell.xml
put "$data/desktop/firm-cell.metainfo.xml" metainfo/org.firmcell.FirmCell.metainfo.xml
put "$data/completions/firm-cell.bash" bash-completion/completions/firm-cell
put "$data/completions/_firm-cell" zsh/vendor-completions/_firm-cell
put "$data/completions/firm-cell.fish" fish/vendor_completions.d/firm-cell.fish
put LICENSE doc/firm-cell/copyright
install -d "$root/usr/share/man/man1"
gzip -9nc "$data/man/firm-cell.1" >"$root/usr/share/man/man1/firm-cell.1.gz"
gzip -9nc CHANGELOG.md >"$root/usr/share/doc/firm-cell/changelog.gz"

# shellcheck source=setup.sh
source "$here/tools/setup.sh"
needs="$(tr ' ' '\n' <<<"$qt_libraries" | sed -n 's/.*=//p' | sort -u | paste -sd, | sed 's/,/, /g')"
next="${abi%.*}.$((${abi#*.} + 1))"
install -d "$root/DEBIAN"
cat >"$root/DEBIAN/control" <<CONTROL
Package: firm-cell
Version: $version
Architecture: $architecture
Maintainer: The makers of Firm Cell <firm-cell@localhost>
Installed-Size: $(du -sk "$root" | cut -f1)
Depends: python3 (>= $abi), python3 (<< $next), libpython3-stdlib, $needs
Recommends: shared-mime-info, desktop-file-utils, hicolor-icon-theme
Section: electronics
Priority: optional
Description: design, build, check and hand over battery packs
 Holds a whole battery pack in one model: cells, layout, strips, leads, battery
 management board and insulation, the steps at the bench with the readings that
 are expected, and the passport that is handed over with the pack.
CONTROL
cat >"$root/DEBIAN/postinst" <<'AFTER'
#!/bin/sh
# Compiled once here: a user could not write it there, and would wait at every start.
set -e
if [ "$1" = configure ]; then python3 -m compileall -q /opt/firm-cell/lib >/dev/null 2>&1 || true; fi
AFTER
cat >"$root/DEBIAN/prerm" <<'BEFORE'
#!/bin/sh
set -e
find /opt/firm-cell -name __pycache__ -prune -exec rm -rf {} + 2>/dev/null || true
BEFORE
chmod 755 "$root/DEBIAN/postinst" "$root/DEBIAN/prerm"
find "$root" -type d -exec chmod 755 {} +
find "$root" -exec touch -h -d "@$SOURCE_DATE_EPOCH" {} +
mkdir -p dist
package="dist/firm-cell_${version}_${architecture}.deb"
dpkg-deb --root-owner-group -Zxz -z6 --build "$root" "$package" >/dev/null
echo "$package"
