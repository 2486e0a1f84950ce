# Sourced by ./firm-cell, ./check and tools/*: makes .venv from the hashed lock and finds the system libraries.
# usage: setup_firmcell [requirements.lock | requirements-dev.lock]
here="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
venv="$here/.venv"

# Libraries that Qt's xcb platform opens at run time, by soname and Debian package.
qt_libraries="libEGL.so.1=libegl1 libGL.so.1=libgl1 libxkbcommon-x11.so.0=libxkbcommon-x11-0 libxcb-cursor.so.0=libxcb-cursor0
libxcb-icccm.so.4=libxcb-icccm4 libxcb-keysyms.so.1=libxcb-keysyms1 libxcb-image.so.0=libxcb-image0 libxcb-shape.so.0=libxcb-shape0
libxcb-render-util.so.0=libxcb-render-util0 libxcb-randr.so.0=libxcb-randr0 libxcb-xkb.so.1=libxcb-xkb1
libfontconfig.so.1=libfontconfig1 libdbus-1.so.3=libdbus-1-3 libglib-2.0.so.0=libglib2.0-0"

missing_packages() { # prints the Debian packages that are not there; $1 = yes adds what the tests need
    local known entry
    known="$(/sbin/ldconfig -p 2>/dev/null)"
    for entry in $qt_libraries; do
        grep -qF "${entry%%=*} " <<<"$known" || printf '%s ' "${entry##*=}"
    done
    if [ "$1" = yes ]; then
        command -v Xvfb >/dev/null || printf 'xvfb '
        command -v ngspice >/dev/null || printf 'ngspice '
        # The register's server: tests start one of their own.
        ls /usr/lib/postgresql/*/bin/initdb >/dev/null 2>&1 || printf 'postgresql '
    fi
    command -v python3 >/dev/null && python3 -c 'import ensurepip' 2>/dev/null || printf 'python3-venv '
}

install_packages() {
    local missing
    missing="$(missing_packages "$1")"
    [ -n "$missing" ] || return 0
    if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
        echo "firm-cell: installing $missing" >&2
        # shellcheck disable=SC2086
        { apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $missing; } >&2 || return 1
    else
        echo "firm-cell: system libraries are missing. Run once:  sudo apt-get install -y $missing" >&2
        return 1
    fi
}

setup_firmcell() {
    local lock="$1" stamp want tests=no
    [ "$lock" = requirements-dev.lock ] && tests=yes
    # The development lock holds everything the plain one does, so either stamp serves for running.
    want="$(cat "$here/$lock" "$here/pyproject.toml" | sha256sum | cut -c1-16)"
    stamp="$venv/.firmcell-$lock"
    if [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$want" ]; then return 0; fi
    if [ "$tests" = no ] && [ "$(cat "$venv/.firmcell-requirements-dev.lock" 2>/dev/null)" = \
        "$(cat "$here/requirements-dev.lock" "$here/pyproject.toml" | sha256sum | cut -c1-16)" ]; then return 0; fi
    install_packages "$tests" || [ "$tests" = no ] || return 1
    if [ ! -x "$venv/bin/python" ]; then
        python3 -c 'import sys; sys.exit(sys.version_info < (3, 11))' 2>/dev/null || {
            echo "firm-cell: Python 3.11 or newer is needed (python3 --version says: $(python3 --version 2>&1))." >&2
            return 1
        }
        echo "firm-cell: setting up .venv (once)" >&2
        python3 -m venv "$venv" || return 1
    fi
    "$venv/bin/python" -m pip install -q --disable-pip-version-check --require-hashes -r "$here/$lock" >&2 || {
        echo "firm-cell: the Python packages could not be installed; see the lines above." >&2
        return 1
    }
    echo "$here/src" >"$("$venv/bin/python" -c 'import sysconfig; print(sysconfig.get_path("purelib"))')/firmcell.pth"
    # Compiled here, since where PYTHONDONTWRITEBYTECODE is set every start would compile all of it again.
    "$venv/bin/python" -m compileall -q "$here/src" >/dev/null || return 1
    echo "$want" >"$stamp"
}
