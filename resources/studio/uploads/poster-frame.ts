/** Seconds into a video at which a picture of it is taken, where nobody chose another. */
const EARLY = 1;

/** A frame of a video as a picture file. */
export async function posterFrame(address: string, name: string, seconds = EARLY): Promise<File> {
    const video = Object.assign(document.createElement('video'), { muted: true, preload: 'auto', src: address });
    await once(video, 'loadeddata');
    video.currentTime = Math.min(seconds, Math.max(0, video.duration / 2 || 0));
    await once(video, 'seeked');
    return frameOf(video, name);
}

/** What a video shows at the moment. */
export async function frameOf(video: HTMLVideoElement, name: string): Promise<File> {
    const canvas = Object.assign(document.createElement('canvas'), { width: video.videoWidth, height: video.videoHeight });
    canvas.getContext('2d')?.drawImage(video, 0, 0);
    const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', 0.92));
    if (!blob) throw new Error('This browser cannot take a picture of the video.');
    return new File([blob], `${name.replace(/\.[^.]+$/, '')} still.jpg`, { type: 'image/jpeg' });
}

function once(video: HTMLVideoElement, event: string): Promise<void> {
    return new Promise((resolve, reject) => {
        video.addEventListener(event, () => resolve(), { once: true });
        video.addEventListener('error', () => reject(new Error('The video cannot be played here.')), { once: true });
    });
}
