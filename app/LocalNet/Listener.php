<?php

declare(strict_types=1);

namespace App\LocalNet;

/**
 * How the web server is set up that answers on the local net: a process of its own beside the one of this machine, with its
 * own pool of PHP, so that whoever keeps it busy keeps nobody else from working.
 */
final readonly class Listener
{
    public function __construct(private Opening $opening)
    {
    }

    public function config(): string
    {
        $run = config()->string('app.run');
        $public = public_path();
        $logs = storage_path('logs');
        $authority = config()->string('app.authority');
        $cookie = Devices::COOKIE;

        return <<<C
            {
            	admin off
            	auto_https disable_redirects
            	skip_install_trust
            	default_sni {$this->opening->address}
            	storage file_system "{$authority}"
            	pki {
            		ca local {
            			name "Bench Glow"
            			root_cn "Bench Glow, this bench"
            			intermediate_cn "Bench Glow, this bench, for devices"
            		}
            	}
            	servers {
            		protocols h1 h2
            		max_header_size 16KB
            		timeouts {
            			read_header 5s
            			read_body 60s
            			write 90s
            			idle 60s
            		}
            	}
            	log {
            		output file "{$logs}/open.log" {
            			roll_size 2MiB
            			roll_keep 2
            		}
            		level WARN
            		exclude http.log.error http.handlers.reverse_proxy
            	}
            }
            {$this->opening->url()} {
            	bind {$this->opening->address}
            	tls internal
            	header {
            		-Server
            		-X-Powered-By
            		defer
            	}
            	@let_in header Cookie *{$cookie}=*
            	@unknown not header Cookie *{$cookie}=*
            	request_body @let_in {
            		max_size 17MB
            	}
            	request_body @unknown {
            		max_size 8KB
            	}
            	encode gzip
            	@files {
            		path /assets/* /sw.js
            		header Cookie *{$cookie}=*
            	}
            	handle @files {
            		root * "{$public}"
            		header Cache-Control no-cache
            		header X-Content-Type-Options nosniff
            		file_server
            	}
            	handle {
            		rewrite * /index.php
            		reverse_proxy unix/{$run}/open.sock {
            			transport fastcgi {
            				root "{$public}"
            				split .php
            				env GLOW_LISTENER net
            				read_timeout 70s
            			}
            			buffer_requests
            			max_buffer_size 256KB
            		}
            	}
            }
            https://:{$this->opening->port} {
            	bind {$this->opening->address}
            	tls internal
            	header -Server
            	respond "This bench answers only to its own address." 421
            }

            C;
    }
}
