# Serves other devices in the house, through Caddy and PHP-FPM from the system's packages. Read by bin/start.

has_caddy() { command -v caddy >/dev/null && [ -n "$(php_fpm)" ]; }
php_fpm() { command -v php-fpm8.2 || command -v php-fpm || true; }

# The address of this machine in the house; KIND_CHAIR_LAN_ADDRESS goes before it.
lan_address() {
    if [ -n "${KIND_CHAIR_LAN_ADDRESS:-}" ]; then
        printf '%s\n' "$KIND_CHAIR_LAN_ADDRESS"
        return
    fi
    hostname -I 2>/dev/null | tr ' ' '\n' | grep -E '^[0-9]+(\.[0-9]+){3}$' | head -n 1 || true
}

# serve_lan PORT PLAIN: prints the address with a code to photograph, and serves until stopped. PLAIN is empty for https.
serve_lan() {
    local port=$1 plain=$2 address scheme=https work="$KIND_CHAIR_DATA/lan" tls='tls internal' as_root=()
    system_packages has_caddy caddy php8.2-fpm
    address=$(lan_address)
    [ -n "$address" ] || stop "This machine has no address in a network. Connect it to the house's network and run this again."
    if php -r 'exit(@fsockopen("127.0.0.1", (int) $argv[1], $n, $t, 1) ? 0 : 1);' "$port"; then
        stop "Port $port is taken by another program. Choose another one: $(basename "$0") --lan --port=$((port + 1))"
    fi
    if [ -n "$plain" ]; then scheme=http tls=''; fi
    if [ "$(id -u)" -eq 0 ]; then as_root=(-R); fi
    (umask 077 && mkdir -p "$work")
    export APP_URL="$scheme://$address:$port" KIND_CHAIR_HOSTS="$address${KIND_CHAIR_HOSTS:+,$KIND_CHAIR_HOSTS}"
    remember_setup
    cat >"$work/fpm.conf" <<CONF
[global]
error_log = $KIND_CHAIR_DATA/logs/php.log
daemonize = no
[kind-chair]
listen = $work/php.sock
listen.mode = 0600
pm = static
pm.max_children = 4
clear_env = no
catch_workers_output = no
php_admin_flag[log_errors] = on
php_admin_flag[expose_php] = off
php_admin_value[error_log] = $KIND_CHAIR_DATA/logs/php.log
php_admin_flag[opcache.enable] = on
php_admin_value[opcache.memory_consumption] = 128
php_admin_value[opcache.max_accelerated_files] = 20000
php_admin_value[post_max_size] = 16M
CONF
    cat >"$work/Caddyfile" <<CONF
{
    admin off
    auto_https disable_redirects
    skip_install_trust
    log {
        output discard
    }
}
(authority) {
    handle /authority.crt {
        root * $work/caddy/pki/authorities/local
        rewrite * /root.crt
        header Content-Type application/x-x509-ca-cert
        file_server
    }
}
$scheme://$address:$port, $scheme://localhost:$port {
    $tls
    root * $ROOT/public
    encode zstd gzip
    header -Server
    @built path /build/*
    header @built Cache-Control "public, max-age=31536000, immutable"
    import authority
    handle {
        php_fastcgi unix/$work/php.sock
        file_server
    }
}
CONF
    if [ -z "$plain" ]; then
        # Without https: only how to trust this machine, and the way to it.
        cat >>"$work/Caddyfile" <<CONF
http://$address:$((port + 1)) {
    import authority
    handle {
        redir $scheme://$address:$port{uri}
    }
}
CONF
    fi
    rm -f "$work/php.sock"
    "$(php_fpm)" "${as_root[@]}" -F -y "$work/fpm.conf" >/dev/null 2>>"$KIND_CHAIR_DATA/logs/php.log" &
    local fpm=$!
    XDG_DATA_HOME="$work" XDG_CONFIG_HOME="$work" caddy run --config "$work/Caddyfile" --adapter caddyfile >/dev/null 2>"$KIND_CHAIR_DATA/logs/caddy.log" &
    local caddy=$!
    # shellcheck disable=SC2064
    trap "kill $fpm $caddy 2>/dev/null || true" EXIT INT TERM
    for _ in $(seq 50); do [ -S "$work/php.sock" ] && break; sleep 0.1; done
    [ -S "$work/php.sock" ] || stop "PHP could not be started for other devices; logs/php.log in your data folder says why."
    for _ in $(seq 100); do
        if php -r 'exit(@fsockopen($argv[1], (int) $argv[2], $n, $t, 1) ? 0 : 1);' "$address" "$port"; then break; fi
        kill -0 "$caddy" 2>/dev/null || stop "The web server could not be started; logs/caddy.log in your data folder says why."
        sleep 0.1
    done
    echo
    echo "  Kind Chair is ready for every device in the house:  $APP_URL"
    if [ -n "$plain" ]; then
        echo "  Without https everybody in this network can read along. Use it only where you trust all who are in it."
    else
        echo "  A device that warns of the certificate can be made to trust this machine, once:"
        echo "  open  http://$address:$((port + 1))/authority.crt  on it and install what comes (docs/deploy.md tells how)."
    fi
    if command -v node >/dev/null && [ -d node_modules/qrcode ]; then
        node -e 'require("qrcode").toString(process.argv[1], { type: "utf8", margin: 2 }, (error, code) => console.log(error ? "" : code))' "$APP_URL"
    fi
    echo "  Stop it with Ctrl+C."
    wait "$caddy"
}
