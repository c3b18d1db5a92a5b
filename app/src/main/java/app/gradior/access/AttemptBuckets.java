package app.gradior.access;

import app.gradior.kept.Utc;
import io.github.bucket4j.TimeMeter;
import io.github.bucket4j.distributed.proxy.ClientSideConfig;
import io.github.bucket4j.distributed.proxy.generic.compare_and_swap.AbstractCompareAndSwapBasedProxyManager;
import io.github.bucket4j.distributed.proxy.generic.compare_and_swap.AsyncCompareAndSwapOperation;
import io.github.bucket4j.distributed.proxy.generic.compare_and_swap.CompareAndSwapOperation;
import io.github.bucket4j.distributed.remote.RemoteBucketState;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;

/** Buckets of Bucket4j in a table, changed by compare-and-swap, so that nodes share them. */
final class AttemptBuckets extends AbstractCompareAndSwapBasedProxyManager<String> {
    private final AccessMapper mapper;
    private final Clock clock;

    AttemptBuckets(AccessMapper mapper, Clock clock) {
        super(ClientSideConfig.getDefault().withClientClock(meter(clock)));
        this.mapper = mapper;
        this.clock = clock;
    }

    private static TimeMeter meter(Clock clock) {
        return new TimeMeter() {
            @Override
            public long currentTimeNanos() {
                return clock.millis() * 1_000_000;
            }

            @Override
            public boolean isWallClockBased() {
                return true;
            }
        };
    }

    private LocalDateTime now() {
        return Utc.now(clock);
    }

    @Override
    protected CompareAndSwapOperation beginCompareAndSwapOperation(String key) {
        return new CompareAndSwapOperation() {
            @Override
            public Optional<byte[]> getStateData(Optional<Long> timeoutNanos) {
                return mapper.bucket(key);
            }

            @Override
            @SuppressWarnings("NullAway") // the library gives null for a bucket that is not there yet
            public boolean compareAndSwap(
                    byte[] original, byte[] fresh, RemoteBucketState state, Optional<Long> timeoutNanos) {
                return original == null
                        ? mapper.insertBucket(key, fresh, now()) == 1
                        : mapper.swapBucket(key, original, fresh, now()) == 1;
            }
        };
    }

    @Override
    protected AsyncCompareAndSwapOperation beginAsyncCompareAndSwapOperation(String key) {
        throw new IllegalStateException("buckets are asked in turn");
    }

    @Override
    public void removeProxy(String key) {
        mapper.forgetBucket(key);
    }

    @Override
    protected CompletableFuture<Void> removeAsync(String key) {
        throw new IllegalStateException("buckets are asked in turn");
    }

    @Override
    public boolean isAsyncModeSupported() {
        return false;
    }
}
