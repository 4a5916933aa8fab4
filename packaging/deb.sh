#!/usr/bin/env bash
# Makes the Debian package of programs that are built: deb.sh BIN OUT.deb. The libraries of the shape kernel are those that it is linked with here.
set -eu
here=$(cd "$(dirname "$0")/.." && pwd)
bin=$1 out=$2
version=$("$bin/setfast" version | grep -Eo '[0-9]+\.[0-9]+\.[0-9]+' | head -n 1)
root=$(mktemp -d)
trap 'rm -rf "$root"' EXIT
chmod 755 "$root"

# owner names the package that a library of this machine belongs to; the path may be by way of /usr or not.
owner() {
  dpkg -S "$1" 2>/dev/null || dpkg -S "/usr$1" 2>/dev/null || dpkg -S "$(readlink -f "$1")" 2>/dev/null || true
}
needed=$(readelf -d "$bin/setfast-kernel" | sed -n 's/.*(NEEDED).*\[\(.*\)\]/\1/p')
libraries=$(ldd "$bin/setfast-kernel" | awk '$3 ~ /^\// { print $1, $3 }' | while read -r name lib; do
  case " $(echo $needed) " in *" $name "*) owner "$lib" ;; esac
done | sed 's/:.*//' | sort -u | paste -sd, | sed 's/,/, /g')
[ -n "$libraries" ] || { echo "the packages of the shape kernel's libraries are not known here" >&2; exit 2; }

install -D -m 755 "$bin/setfast" "$root/usr/lib/setfast/setfast"
install -D -m 755 "$bin/setfast-kernel" "$root/usr/lib/setfast/setfast-kernel"
install -d "$root/usr/bin"
ln -s ../lib/setfast/setfast "$root/usr/bin/setfast"
install -D -m 644 "$here/packaging/setfast.service" "$root/lib/systemd/system/setfast.service"
install -D -m 644 "$here/packaging/default" "$root/etc/default/setfast"
doc=$root/usr/share/doc/setfast
install -d "$doc"
install -m 644 "$here"/docs/*.md "$here/README.md" "$here/THIRD_PARTY.md" "$doc"
install -m 644 "$here/LICENSE" "$doc/copyright"
gzip -9 -n -c "$here/CHANGELOG.md" > "$doc/changelog.gz"
install -d "$root/DEBIAN"
echo /etc/default/setfast > "$root/DEBIAN/conffiles"
cat > "$root/DEBIAN/control" <<END
Package: setfast
Version: $version
Architecture: $(dpkg --print-architecture)
Maintainer: Setfast <setfast@localhost>
Section: science
Priority: optional
Installed-Size: $(du -sk "$root" | cut -f1)
Depends: mariadb-server, adduser, $libraries
Description: account of freedom of mechanical assemblies
 Setfast keeps the account of freedom of assemblies: which freedoms mates and
 joints remove, what is left, doubled or at odds, what passes through what,
 with parts lists, sheets and proofs. It serves browsers on this machine.
END
cat > "$root/DEBIAN/postinst" <<'END'
#!/bin/sh
set -e
if [ "$1" = configure ]; then
  if ! getent passwd setfast >/dev/null; then
    adduser --quiet --system --group --home /var/lib/setfast --no-create-home setfast
  fi
  install -d -o setfast -g setfast -m 750 /var/lib/setfast
  if [ -d /run/systemd/system ]; then
    systemctl daemon-reload
    systemctl enable --quiet setfast.service
    systemctl restart setfast.service || true
  fi
fi
END
cat > "$root/DEBIAN/prerm" <<'END'
#!/bin/sh
set -e
if [ "$1" = remove ] && [ -d /run/systemd/system ]; then
  systemctl stop setfast.service || true
  systemctl disable --quiet setfast.service || true
fi
END
cat > "$root/DEBIAN/postrm" <<'END'
#!/bin/sh
set -e
# the data stay, also when the package is purged: they are not the package's to throw away
if [ -d /run/systemd/system ]; then systemctl daemon-reload || true; fi
END
chmod 755 "$root/DEBIAN/postinst" "$root/DEBIAN/prerm" "$root/DEBIAN/postrm"
dpkg-deb --root-owner-group "-Z${SETFAST_DEB_ZIP:-xz}" --build "$root" "$out" >/dev/null
echo "$out is made: setfast $version"
